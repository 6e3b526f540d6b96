import { useEffect, useRef, useState } from 'react';

/** The width of an element, kept as it changes; pictures are as wide as their place and of fixed height. */
export function useWidth<T extends Element>(initial: number, least = 320) {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(initial);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(
      ([entry]) => entry && setWidth(Math.max(least, Math.floor(entry.contentRect.width))),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [least]);
  return { ref, width };
}
