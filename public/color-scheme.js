// Before the first paint, and whenever the device changes, day and night: light or dark as somebody has chosen here, else as it is.
{
  const device = matchMedia('(prefers-color-scheme: dark)')
  const follow = () => {
    let chosen = null
    try {
      chosen = localStorage.getItem('mantine-color-scheme-value')
    } catch {
      // Where nothing may be kept, nothing was chosen.
    }
    const dark = chosen === 'dark' || (chosen !== 'light' && device.matches)
    document.documentElement.setAttribute('data-mantine-color-scheme', dark ? 'dark' : 'light')
  }
  follow()
  device.addEventListener('change', follow)
}
