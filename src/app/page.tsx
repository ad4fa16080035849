import { Try } from './try';
export const dynamic = 'force-dynamic';
export default function Page() {
  return <Try />;
}
