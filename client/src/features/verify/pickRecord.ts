export function pickRecord(): Promise<string | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = '.json,application/json';
    input.style.display = 'none';
    input.onchange = () => {
      const file = input.files?.[0];
      input.remove();
      if (file) void file.text().then(resolve);
      else resolve(null);
    };
    document.body.append(input);
    input.click();
  });
}
