// What docs/guides/server-components.md shows.
import { TideTimes } from './TideTimes';

export default async function Page() {
  const tides = await (await fetch('https://yard.example/tides')).text();
  return (
    <TideTimes>
      <p>{tides}</p>
    </TideTimes>
  );
}
