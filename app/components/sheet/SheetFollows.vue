<script setup lang="ts">
import { ref } from 'vue'
import { capital } from '#core/quantity'
import type { FollowingPair } from '#core/recording'

/** A pair that needs no test: the children say first how it would come out, then see why. Nothing of it is kept. */
const props = defineProps<{ follows: FollowingPair; question: string }>()
const said = ref('')
</script>

<template>
  <div class="follows" role="group" :aria-label="`${props.follows.pair.join(' and ')} need no test`">
    <template v-if="said === ''">
      <p>{{ capital(props.follows.pair.join(' and ')) }} need no test. {{ props.question }}</p>
      <div class="answers">
        <VBtn
          v-for="name in props.follows.pair"
          :key="name"
          size="large"
          variant="outlined"
          color="primary"
          @click="said = name"
          >{{ name }}</VBtn
        >
      </div>
    </template>
    <p v-else role="status">
      <b>{{ said === props.follows.more ? 'Yes.' : 'Not quite.' }}</b> {{ props.follows.said }}
    </p>
  </div>
</template>

<style scoped>
.follows {
  margin-bottom: 8px;
  padding: 8px 12px;
  border-radius: var(--radius);
  background: var(--marigold-wash);
}

.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
}
</style>
