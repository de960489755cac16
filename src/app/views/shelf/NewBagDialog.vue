<script setup lang="ts">
import { computed } from 'vue'
import type { Design } from '@core/design'
import { freeDesign } from '@core/make'
import { printLength } from '@core/units'
import BagStill from '@app/parts/bag/BagStill.vue'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import ContentsFields from '@app/parts/fields/ContentsFields.vue'
import HookAndYarn from '@app/parts/fields/HookAndYarn.vue'
import LengthField from '@app/parts/fields/LengthField.vue'
import YarnColour from '@app/parts/fields/YarnColour.vue'
import { useWorkshop } from '@app/stores/workshop.ts'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import FromYarnFields from './FromYarnFields.vue'
import { useNewBag } from './use-new-bag.ts'

/** A short path to a bag: what size, what goes in or what yarn there is; how it is built, seen as one types. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ made: [design: Design, place: 'bands' | 'make'] }>()
const workshop = useWorkshop()
const units = computed(() => workshop.words.units)
const { from, name, contents, size, yarn, handles, flapMm, yarns, hand, striped, ...made } =
  useNewBag(units)
const { kinds, kind, choose, design, maybeNow, derived, hasFlap, outcome, none } = made
function make() {
  const bag = maybeNow()
  if (bag) emit('made', bag, 'bands')
}
/** Six in a ring, of which she makes what she likes. */
function makeFree() {
  const bag = maybeNow() ?? design.value
  if (bag) emit('made', freeDesign(bag, { stitch: 'sc', count: 6 }), 'make')
}
const ways = [
  { value: 'size', label: 'Laid flat' },
  { value: 'contents', label: 'What goes in' },
  { value: 'yarn', label: 'From my yarn' },
] as const
const wide = computed(() => printLength(derived.value.tally.flatMm, units.value))
const tall = computed(() => printLength(derived.value.tally.heightMm, units.value))
</script>

<template>
  <ElDialog v-model="open" class="new-bag-dialog" width="1100px" top="2vh" title="New bag">
    <form class="new-bag" @submit.prevent="make">
      <div class="mat">
        <span class="mat-tape up num">{{ tall }}</span>
        <BagStill
          :design="design ?? derived.design"
          :derived="derived"
          :width="340"
          :height="430"
        />
        <span class="mat-tape num">{{ wide }} laid flat</span>
      </div>
      <div class="asked">
        <div class="row">
          <div class="measure-field">
            <label for="new-name">Name</label>
            <div class="box">
              <input id="new-name" v-model="name" maxlength="80" autocomplete="off" />
            </div>
          </div>
          <ChoiceOf v-model="from" legend="Begin with" :options="ways" />
        </div>
        <div v-if="from === 'contents'" class="fields"><ContentsFields v-model="contents" /></div>
        <div v-else-if="from === 'size'" class="fields">
          <LengthField
            :model-value="size.aroundMm / 2"
            label="Wide"
            :min="25"
            :max="1500"
            @update:model-value="size.aroundMm = 2 * $event"
          />
          <LengthField v-model="size.heightMm" label="Tall" :min="50" :max="3000" />
        </div>
        <FromYarnFields v-else v-model="hand" v-model:striped="striped" :yarns="yarns" />
        <div class="fields">
          <HookAndYarn v-model:hook-mm="yarn.hookMm" v-model:yarn-class="yarn.yarnClass" />
          <div class="measure-field">
            <label for="new-handles">Handles</label>
            <ElSelect id="new-handles" v-model="handles" aria-label="Handles">
              <ElOption value="none" label="None" />
              <ElOption value="hand" label="Two, for the hand" />
              <ElOption value="shoulder" label="Two, for the shoulder" />
              <ElOption value="across" label="One, worn across" />
            </ElSelect>
          </div>
          <LengthField v-if="hasFlap" v-model="flapMm" label="Flap" :min="20" :max="1000" />
          <div class="measure-field chips">
            <span class="of">Yarns</span>
            <div class="three">
              <YarnColour
                v-for="(one, i) in yarns"
                :key="i"
                v-model="one.colour"
                :label="`Colour of ${one.name}`"
                :bag="yarns"
              />
            </div>
          </div>
        </div>
        <fieldset class="kinds">
          <legend class="hidden-words">How it is built</legend>
          <label
            v-for="one in kinds"
            :key="one.kind"
            class="kind"
            :class="{ on: one.kind === kind }"
            :title="one.hint"
          >
            <input
              type="radio"
              name="construction"
              :value="one.kind"
              :checked="one.kind === kind"
              @change="choose(one.kind)"
            />
            <BagStill :design="one.design" :derived="one" :width="92" :height="56" />
            <b>{{ one.name }}</b>
            <small class="num">{{ one.measures }}</small>
            <i v-if="one.suits" class="suits">suits it</i>
          </label>
        </fieldset>
        <div class="outcome" aria-live="polite">
          <p>
            <b>{{ none ?? outcome.size }}</b>
          </p>
          <p class="note">
            {{
              none
                ? 'Fill in what a ball weighs and how long it is, and how many there are.'
                : outcome.work
            }}
          </p>
        </div>
        <DialogEnd
          does="Make this bag"
          leaves="Not now"
          :disabled="none !== null"
          @leave="open = false"
        >
          <button
            type="button"
            class="link"
            title="So many stitches in a ring, and go: every round is counted as you say it"
            @click="makeFree"
          >
            Work without a plan
          </button>
        </DialogEnd>
      </div>
    </form>
  </ElDialog>
</template>

<style>
.new-bag-dialog {
  max-width: 96vw;
  padding: 0;
  overflow: hidden;
}
.new-bag-dialog .el-dialog__header {
  position: absolute;
  z-index: 1;
  right: 0;
  left: 386px;
  padding: 16px 0 0 20px;
}
.new-bag-dialog .el-dialog__title {
  font: 650 20px/1.1 var(--font-head);
}
.new-bag {
  display: grid;
  grid-template-columns: 386px minmax(0, 1fr);
}
.new-bag .mat {
  display: flex;
  flex-direction: column;
  gap: 18px;
  align-items: center;
  justify-content: center;
  position: relative;
  background-color: var(--mat);
  background-image:
    linear-gradient(var(--mat-line) 1px, transparent 1px),
    linear-gradient(90deg, var(--mat-line) 1px, transparent 1px);
  background-size: 22px 22px;
}
.new-bag .mat-tape {
  padding: 3px 22px;
  border-radius: 2px;
  background: var(--tape);
  color: var(--tape-ink);
  font-weight: 650;
  font-size: 12.5px;
}
.new-bag .mat-tape.up {
  position: absolute;
  left: 14px;
  top: 50%;
  padding: 30px 5px;
  font-size: 12px;
  transform: translateY(-50%);
}
.new-bag .asked {
  display: grid;
  gap: 8px;
  align-content: start;
  overflow: auto;
  max-height: 95vh;
  padding: 48px 20px 14px;
}
.new-bag .row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 16px;
  align-items: start;
}
/* However much is asked, what is below stays where it is. */
.new-bag .row + * {
  align-content: start;
  min-height: 82px;
}
.new-bag .fields {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0 14px;
  align-items: start;
}
.new-bag .fields .measure-field,
.new-bag .row .measure-field {
  grid-template-columns: 66px 1fr;
}
.new-bag .three {
  display: flex;
  gap: 8px;
}
.new-bag .of {
  color: var(--ink-2);
}
.new-bag .kinds {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 6px;
  margin: 0;
  padding: 0;
  border: 0;
}
.new-bag .kind {
  position: relative;
  display: grid;
  gap: 1px;
  align-content: start;
  justify-items: center;
  padding: 5px 4px 4px;
  border: 1px solid var(--line);
  border-radius: var(--radius-large);
  background: #fff;
  font-size: 12.5px;
  text-align: center;
  cursor: pointer;
}
.new-bag .kind.on {
  border-color: var(--mat);
  box-shadow: inset 0 0 0 1.5px var(--mat);
}
.new-bag .kind:focus-within {
  outline: 2.5px solid var(--mat);
  outline-offset: 1px;
}
.new-bag .kind input {
  position: absolute;
  opacity: 0;
}
.new-bag .kind b {
  font-weight: 600;
}
.new-bag .kind small {
  color: var(--ink-2);
  font-size: 11.5px;
}
.new-bag .kind .suits {
  position: absolute;
  top: 4px;
  right: 5px;
  padding: 0 6px;
  border-radius: 8px;
  background: #dcebe0;
  color: var(--good);
  font: 600 11px/1.45 var(--font-text);
}
.new-bag .outcome {
  padding: 8px 12px;
  border-radius: var(--radius);
  background: var(--mat-tint);
}
@media (max-width: 1000px) {
  .new-bag-dialog {
    width: 100vw !important;
    max-width: none;
    height: 100%;
    margin: 0 !important;
    overflow: auto;
  }
  .new-bag-dialog .el-dialog__header {
    position: static;
    padding: 14px 16px 0;
  }
  .new-bag {
    grid-template-columns: minmax(0, 1fr);
  }
  .new-bag .mat {
    display: none;
  }
  .new-bag .asked {
    max-height: none;
    padding: 12px 16px 18px;
  }
}
@media (max-width: 640px) {
  .new-bag .row,
  .new-bag .fields {
    grid-template-columns: minmax(0, 1fr);
  }
  .new-bag .kinds {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
