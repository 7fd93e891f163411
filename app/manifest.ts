import type { MetadataRoute } from 'next';

/** How it stands among the apps of a tablet. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Bavrin',
    short_name: 'Bavrin',
    description: 'Brake diagnosis, from complaint to proven fix.',
    start_url: '/',
    display: 'standalone',
    background_color: '#f2f1ec',
    theme_color: '#1c3d5e',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
  };
}
