<script setup lang="ts">
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'

/** Saves the chart that is on the screen, for a newsletter or a wall of one's own. */
const props = defineProps<{ chart: HTMLElement | null }>()
const store = useLesson()
const notices = useNotices()

const save = (kind: 'svg' | 'png') =>
  notices.attempt(async () => {
    const drawn = props.chart?.querySelector('figure svg')
    const words = props.chart?.querySelector('figure [role="img"]')?.getAttribute('aria-label')
    if (!(drawn instanceof SVGSVGElement))
      throw new Error('The chart isn’t there yet. Try again in a moment.')
    const { chartAsPng, chartAsSvg } = await import('~/charts/chartFile')
    const svg = await chartAsSvg(drawn, words ?? '')
    const file = kind === 'svg' ? new Blob([svg], { type: 'image/svg+xml' }) : await chartAsPng(svg)
    const link = document.createElement('a')
    link.href = URL.createObjectURL(file)
    link.download = `${store.plan.title || 'lesson'} chart.${kind}`
    link.click()
    // The browser has taken it by then.
    setTimeout(() => URL.revokeObjectURL(link.href), 60_000)
  })
</script>

<template>
  <DotsMenu label="Save this chart">
    <VListItem title="Save the chart as PNG" subtitle="For a letter or a web page" @click="save('png')" />
    <VListItem title="Save the chart as SVG" subtitle="Sharp at any size" @click="save('svg')" />
  </DotsMenu>
</template>
