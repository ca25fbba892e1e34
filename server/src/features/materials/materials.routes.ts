import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { materialsCsv } from './materials.service';

export function materialRoutes(routes: Registrar): void {
  routes.signed('materialsCsv', async ({ params, response, inShop }) => {
    const { name, csv } = await inShop((shop) => materialsCsv(shop, idParam(params, 'job')));
    response.attachment(`${name}.csv`).type('csv').send(csv);
  });
}
