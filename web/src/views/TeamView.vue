<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Members, RoleId } from '@/contract/types'
import SubjectPage from '@/frame/SubjectPage.vue'
import { day } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { withPassword } from '@/shared/usePassword'
import InviteForm from '@/team/InviteForm.vue'
import OutboxList from '@/team/OutboxList.vue'
import TeamSettings from '@/team/TeamSettings.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiWaiting from '@/ui/UiWaiting.vue'
import { tell } from '@/ui/telling'

/** The members of the team, for its lead. */
const team = ref<Members | null>(null)
const leaving = ref<Members['members'][number] | null>(null)
const outbox = ref<InstanceType<typeof OutboxList> | null>(null)
const { busy, problem, attempt } = useDoing()

async function load(): Promise<void> {
  team.value = await answerOf(api.GET('/api/members'))
}

async function invited(): Promise<void> {
  await attempt(load)
  await outbox.value?.load()
}

function change(membership: string, role: RoleId | undefined): void {
  void attempt(async () => {
    if (role === undefined) return
    try {
      const params = { path: { membership } }
      await withPassword(() => answerOf(api.PUT('/api/members/{membership}', { params, body: { role } })))
    } finally {
      await load()
    }
  })
}

function withdraw(invitation: string): void {
  void attempt(async () => {
    await answerOf(api.DELETE('/api/invitations/{invitation}', { params: { path: { invitation } } }))
    await load()
  })
}

async function end({ id: membership, name }: Members['members'][number]): Promise<void> {
  leaving.value = null
  const done = await attempt(async () => {
    const params = { path: { membership } }
    await withPassword(() => answerOf(api.DELETE('/api/members/{membership}', { params })))
    await load()
  })
  if (done) tell(`${name} is not in the team any more. An invitation brings them back.`)
}

onMounted(() => attempt(load))
</script>

<template>
  <SubjectPage title="Team">
    <UiAlert v-if="problem" :say="problem" />
    <UiWaiting v-if="!team" label="Loading the team" />
    <template v-else>
      <div class="columns">
        <section aria-labelledby="people">
          <h2 id="people">People</h2>
          <ul>
            <li v-for="one in team.members" :key="one.id" class="person">
              <span class="name">
                <b>{{ one.name }}</b>
                <small>{{ one.email }}</small>
                <small>since {{ day(one.since) }}{{ one.secondFactor ? ', second factor on' : '' }}</small>
              </span>
              <UiSelect
                :label="`Role of ${one.name}`"
                unseen-label
                :value="one.role"
                :options="team.roles"
                @change="(role) => change(one.id, role)"
              />
              <UiButton
                kind="quiet"
                :disabled="busy"
                :aria-label="`Leaves the team: ${one.name}`"
                @click="leaving = one"
              >
                Leaves
              </UiButton>
            </li>
          </ul>
          <template v-if="team.invitations.length > 0">
            <h2>Invited</h2>
            <ul>
              <li v-for="one in team.invitations" :key="one.id" class="person">
                <span class="name">
                  <b>{{ one.email }}</b>
                  <small>as {{ one.role }}, until {{ day(one.until) }}</small>
                </span>
                <UiButton
                  kind="quiet"
                  :disabled="busy"
                  :aria-label="`Withdraw the invitation of ${one.email}`"
                  @click="withdraw(one.id)"
                >
                  Withdraw
                </UiButton>
              </li>
            </ul>
          </template>
          <OutboxList ref="outbox" />
        </section>
        <div class="side">
          <InviteForm :roles="team.roles" @invited="invited" />
          <TeamSettings />
        </div>
      </div>
    </template>
    <UiDialog v-if="leaving" :title="`${leaving.name} leaves the team`" @close="leaving = null">
      <p>They are logged out now, and see nothing of this team any more. What they entered and signed stays theirs.</p>
      <template #actions>
        <UiButton @click="leaving = null">Cancel</UiButton>
        <UiButton kind="main" @click="end(leaving)">Leaves</UiButton>
      </template>
    </UiDialog>
  </SubjectPage>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 22px clamp(22px, 5vw, 64px);
  align-items: start;
}
section,
.side {
  display: grid;
  gap: 12px;
}
.side {
  gap: 30px;
}
.person {
  display: grid;
  grid-template-columns: 1fr 160px auto;
  gap: 12px;
  align-items: center;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.name {
  grid-column: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
.person > .button {
  grid-column: 3;
}
.name b {
  font-weight: 600;
}
.name small {
  display: block;
  color: var(--text-2);
}
@media (--tablet) {
  .columns {
    grid-template-columns: 1fr;
  }
}
@media (--phone) {
  .person {
    grid-template-columns: 1fr auto;
  }
  .name {
    grid-column: 1 / -1;
  }
  .person > .button {
    grid-column: 2;
  }
}
</style>
