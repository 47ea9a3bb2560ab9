<script setup lang="ts">
defineProps<{ error: { statusCode: number; message: string } }>()
</script>

<template>
  <VApp>
    <VMain class="lost">
      <h1>
        {{ error.statusCode === 404 ? 'There is no page here' : 'Something went wrong on this screen' }}
      </h1>
      <p>
        {{
          error.statusCode === 404
            ? 'The address may be mistyped, or the lesson was removed.'
            : 'What was saved is safe. Open the logbook and go on from there.'
        }}
      </p>
      <VBtn color="primary" href="/">Open the logbook</VBtn>
    </VMain>
  </VApp>
</template>

<style scoped>
.lost {
  display: grid;
  place-content: center;
  gap: 16px;
  padding: 24px;
  min-height: 100vh;
}
</style>
