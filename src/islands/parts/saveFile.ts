/** Has the browser keep a text or bytes as a file under this name. */
export function saveFile(name: string, type: string, content: string | Blob): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
