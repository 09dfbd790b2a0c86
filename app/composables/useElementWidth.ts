/** Width of an element in CSS pixels, kept up to date. */
export function useElementWidth(element: Ref<HTMLElement | null>, first = 800) {
  const width = ref(first)
  let observer: ResizeObserver | undefined
  onMounted(() => {
    if (!element.value) return
    width.value = element.value.clientWidth
    observer = new ResizeObserver(([entry]) => {
      if (entry) width.value = entry.contentRect.width
    })
    observer.observe(element.value)
  })
  onBeforeUnmount(() => observer?.disconnect())
  return width
}
