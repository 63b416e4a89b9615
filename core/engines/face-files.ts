/** Where each file lies among the installed packages. */
export const faceFiles: Readonly<Record<string, string>> = {
  'DejaVuSans.ttf': 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf', 'NotoSansThai_400Regular.ttf': '@expo-google-fonts/noto-sans-thai/400Regular/NotoSansThai_400Regular.ttf', 'NotoSansDevanagari_400Regular.ttf': '@expo-google-fonts/noto-sans-devanagari/400Regular/NotoSansDevanagari_400Regular.ttf',
};
