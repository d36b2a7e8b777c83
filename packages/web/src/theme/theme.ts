export type Theme = 'light' | 'dark';
const KEY = 'lotus.theme';

function stored(): Theme | null {
  const value = localStorage.getItem(KEY);
  return value === 'light' || value === 'dark' ? value : null;
}

export function currentTheme(): Theme {
  return document.documentElement.dataset['theme'] === 'dark' ? 'dark' : 'light';
}

export function setTheme(theme: Theme): void {
  localStorage.setItem(KEY, theme);
  document.documentElement.dataset['theme'] = theme;
}

/** The chosen theme, or the one that the machine asks for. */
export function startTheme(): void {
  document.documentElement.dataset['theme'] = stored() ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light');
}
