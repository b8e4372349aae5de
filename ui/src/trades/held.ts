/** "3 min", "2 h 5 min", "4 d 2 h". */
export function held(from: string, to: string | null): string {
  const seconds = Math.max(0, Math.round((Date.parse(to ?? '') - Date.parse(from)) / 1000));
  if (!Number.isFinite(seconds)) return '';
  const minutes = Math.floor(seconds / 60);
  const hours = Math.floor(minutes / 60);
  if (seconds < 60) return `${seconds} s`;
  if (minutes < 60) return `${minutes} min`;
  if (hours < 24) return `${hours} h ${minutes % 60} min`;
  return `${Math.floor(hours / 24)} d ${hours % 24} h`;
}
