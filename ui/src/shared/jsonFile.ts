/** Hands the trader a file of JSON, named after what it holds: "marl-swings.route.json". */
export function saveJson(name: string, kind: string, content: unknown): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([JSON.stringify(content, null, 2)], { type: 'application/json' }));
  link.download = `${name.replace(/[^\w-]+/g, '-').toLowerCase()}.${kind}.json`;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** The file that was just chosen; the same one can be chosen again afterwards. */
export async function readJson<Content>(file: File, input: HTMLInputElement): Promise<Content> {
  try {
    return JSON.parse(await file.text()) as Content;
  } catch {
    throw new Error(`${file.name} is no JSON: choose a file that was exported here.`);
  } finally {
    input.value = '';
  }
}
