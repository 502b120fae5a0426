<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Members, RoleId } from '@/contract/types'
import SubjectPage from '@/frame/SubjectPage.vue'
import { t } from '@/messages/views'
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
  if (done) tell(t('teamView.isNotInTheTeamAny', { name }))
}

onMounted(() => attempt(load))
</script>

<template>
  <SubjectPage :title="t('teamView.team')">
    <template #beside>
      <UiButton :to="{ name: 'exchange' }">{{ t('teamView.exchange') }}</UiButton>
    </template>
    <UiAlert v-if="problem" :say="problem" />
    <UiWaiting v-if="!team" :label="t('teamView.loadingTheTeam')" />
    <template v-else>
      <div class="columns">
        <section aria-labelledby="people">
          <h2 id="people">{{ t('teamView.people') }}</h2>
          <ul>
            <li v-for="one in team.members" :key="one.id" class="person">
              <span class="name">
                <b>{{ one.name }}</b>
                <small>{{ one.email }}</small>
                <small>
                  {{
                    one.secondFactor
                      ? t('teamView.sinceSecondFactor', { since: day(one.since) })
                      : t('teamView.since', { since: day(one.since) })
                  }}
                </small>
              </span>
              <UiSelect
                :label="t('teamView.roleOf', { name: one.name })"
                unseen-label
                :value="one.role"
                :options="team.roles"
                @change="(role) => change(one.id, role)"
              />
              <UiButton
                kind="quiet"
                :disabled="busy"
                :aria-label="t('teamView.removeNameFromTeam', { name: one.name })"
                @click="leaving = one"
              >
                {{ t('teamView.removeFromTeam') }}
              </UiButton>
            </li>
          </ul>
          <template v-if="team.invitations.length > 0">
            <h2>{{ t('teamView.invited') }}</h2>
            <ul>
              <li v-for="one in team.invitations" :key="one.id" class="person">
                <span class="name">
                  <b>{{ one.email }}</b>
                  <small>{{ t('teamView.asUntil', { role: one.role, until: day(one.until) }) }}</small>
                </span>
                <UiButton
                  kind="quiet"
                  :disabled="busy"
                  :aria-label="t('teamView.withdrawTheInvitationOf', { email: one.email })"
                  @click="withdraw(one.id)"
                >
                  {{ t('teamView.withdraw') }}
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
    <UiDialog
      v-if="leaving"
      :title="t('teamView.removeNameFromTheTeam', { name: leaving.name })"
      @close="leaving = null"
    >
      <p>{{ t('teamView.theyLoseAccess') }}</p>
      <template #actions>
        <UiButton @click="leaving = null">{{ t('teamView.cancel') }}</UiButton>
        <UiButton kind="main" @click="end(leaving)">{{ t('teamView.removeFromTeam') }}</UiButton>
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
