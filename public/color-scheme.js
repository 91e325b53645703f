// Before the first paint: light or dark as somebody has chosen on this device, else as the device is.
try {
  const chosen = localStorage.getItem('mantine-color-scheme-value')
  const dark = chosen === 'dark' || (chosen !== 'light' && matchMedia('(prefers-color-scheme: dark)').matches)
  document.documentElement.setAttribute('data-mantine-color-scheme', dark ? 'dark' : 'light')
} catch {
  document.documentElement.setAttribute('data-mantine-color-scheme', 'light')
}
