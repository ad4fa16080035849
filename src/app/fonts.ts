import localFont from 'next/font/local';

export const archivo = localFont({
  variable: '--font-archivo',
  src: [
    { path: '../ui/fonts/Archivo_400Regular.woff2', weight: '400' },
    { path: '../ui/fonts/Archivo_600SemiBold.woff2', weight: '600' },
    { path: '../ui/fonts/Archivo_700Bold.woff2', weight: '700' },
  ],
});

export const archivoNarrow = localFont({
  variable: '--font-archivo-narrow',
  src: [{ path: '../ui/fonts/ArchivoNarrow_600SemiBold.woff2', weight: '600' }],
});

export const splineMono = localFont({
  variable: '--font-spline-mono',
  src: [
    { path: '../ui/fonts/SplineSansMono_400Regular.woff2', weight: '400' },
    { path: '../ui/fonts/SplineSansMono_600SemiBold.woff2', weight: '600' },
  ],
});
