import { lazily } from '@/features/workbench/lazily';

export default lazily('ImportsScreen');
