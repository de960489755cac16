<template>
  <main class="nowhere">
    <h1>There is nothing at this address.</h1>
    <p>Every bag is on <RouterLink to="/">the shelf</RouterLink>.</p>
  </main>
</template>

<style>
.nowhere {
  display: grid;
  gap: 10px;
  place-content: center;
  height: 100%;
  text-align: center;
}
</style>
