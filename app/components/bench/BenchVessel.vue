<script setup lang="ts">
import { computed, useId } from 'vue'

/** A vessel filled to a share of its height, with what it is and what it says beneath. */
const props = withDefaults(
  defineProps<{
    fill: number
    name: string
    note?: string
    tone?: 'level' | 'progress' | 'result'
    lit?: boolean
    /** A photo or sketch of the kind, shown in place of the vessel. */
    picture?: string | null
  }>(),
  { note: '', tone: 'level', lit: false, picture: null },
)
const clip = useId()
const top = 6
const bottom = 62
const surface = computed(() => bottom - (bottom - top - 6) * Math.min(1, Math.max(0, props.fill)))
const colour = computed(() => ({ level: '#0b6e6e', progress: '#e8a317', result: '#2f5fa8' })[props.tone])
</script>

<template>
  <figure class="vessel" :class="{ lit }">
    <img v-if="picture" :src="`/api/pictures/${picture}`" alt="" />
    <svg v-else width="41" height="58" viewBox="0 0 46 66" aria-hidden="true">
      <clipPath :id="clip"><path d="M8 5v49a8 8 0 0 0 8 8h14a8 8 0 0 0 8-8V5z" /></clipPath>
      <g :clip-path="`url(#${clip})`">
        <rect class="liquid" x="0" :y="surface" width="46" height="66" :fill="colour" opacity="0.82" />
        <rect v-if="fill > 0" x="0" :y="surface" width="46" height="2" :fill="colour" />
      </g>
      <path
        d="M5 5h36M8 5v49a8 8 0 0 0 8 8h14a8 8 0 0 0 8-8V5"
        fill="none"
        stroke="#1f2a44"
        stroke-width="1.8"
        stroke-linecap="round"
      />
      <path d="M33 18h5M35 28h3M33 38h5M35 48h3" stroke="#1f2a44" stroke-width="1.2" opacity="0.55" />
    </svg>
    <figcaption>
      <b :title="name">{{ name }}</b>
      <span v-if="note" class="soft">{{ note }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.vessel {
  margin: 0;
  width: 74px;
  flex: 0 1 74px;
  min-width: 46px;
  text-align: center;
  border-radius: var(--radius);
  padding-top: 2px;
}

img {
  height: 58px;
  max-width: 100%;
  object-fit: contain;
  border-radius: 6px;
}

.lit {
  background: var(--marigold-wash);
}

.liquid {
  transition: y 0.5s ease;
}

figcaption {
  font-size: 0.78rem;
  line-height: 1.2;
  display: flex;
  flex-direction: column;
}

b,
span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
