<template>
  <VApp>
    <VMain>
      <VTextField label="A field" />
      <VBtn color="primary">A button</VBtn>
    </VMain>
  </VApp>
</template>
