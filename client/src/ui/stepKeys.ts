const STEPS: Readonly<Record<string, { readonly by: 1 | -1; readonly alsoUpright: boolean }>> = {
  ArrowUp: { by: 1, alsoUpright: true },
  ArrowDown: { by: -1, alsoUpright: true },
  ArrowRight: { by: 1, alsoUpright: false },
  ArrowLeft: { by: -1, alsoUpright: false },
};

interface Pressed {
  readonly key: string;
  preventDefault(): void;
}

/** What steps something that slides by its arrow keys: up and right are 1; one that stands upright hears up and down alone. */
export const stepKeys =
  (onStep: (by: 1 | -1) => void, upright = false) =>
  (pressed: Pressed): void => {
    const step = STEPS[pressed.key];
    if (!step || (upright && !step.alsoUpright)) return;
    pressed.preventDefault();
    onStep(step.by);
  };
