<script setup lang="ts">
/** What of a lesson can be saved as a file, as lines of a menu. */
defineProps<{ lessonId: string }>()
</script>

<template>
  <VListItem
    :href="`/api/lessons/${lessonId}/archive.zip`"
    title="The whole lesson"
    subtitle="With pictures and children’s first names"
  />
  <VListItem
    :href="`/api/lessons/${lessonId}/archive.zip?names=no`"
    title="The whole lesson without first names"
    subtitle="Names that somebody typed into notes stay"
  />
  <VListItem
    :href="`/api/lessons/${lessonId}/investigation.json`"
    title="Investigation file"
    subtitle="The plan alone, to start lessons from"
  />
  <VListItem
    :href="`/api/lessons/${lessonId}/readings.csv`"
    title="Readings as CSV"
    subtitle="For a spreadsheet"
  />
</template>
