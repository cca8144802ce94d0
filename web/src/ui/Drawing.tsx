/** An SVG document drawn by the server, shown as an image so that its ids stay its own. */
export function Drawing({ svg, name, className }: { svg: string; name: string; className?: string }) {
  return (
    <img
      src={`data:image/svg+xml;utf8,${encodeURIComponent(svg)}`}
      alt={name}
      className={className}
      draggable={false}
    />
  );
}
