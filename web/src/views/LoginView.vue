<script setup lang="ts">
import { reactive, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import CompassRose from '@/shared/CompassRose.vue'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'

const session = useSession()
const route = useRoute()
const router = useRouter()
const given = reactive({ email: '', password: '' })
const RULES = {
  email: [{ required: true, message: 'Your e-mail address is missing.', trigger: 'submit' }],
  password: [{ required: true, message: 'The password is missing.', trigger: 'submit' }],
}
const problem = ref('')
const busy = ref(false)

async function logIn(): Promise<void> {
  busy.value = true
  problem.value = ''
  try {
    await session.logIn(given.email, given.password)
    await router.replace(typeof route.query.to === 'string' ? route.query.to : '/')
  } catch (error) {
    problem.value = error instanceof Error ? error.message : 'Something went wrong; nothing was changed.'
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="login">
    <div class="words">
      <CompassRose class="rose" />
      <h1>Gray Compass</h1>
      <p>Examine both knees, see what each finding is worth, and what to test next.</p>
      <p class="caution">
        For licensed practitioners. It names chances, never a diagnosis; your judgement and local rules come first.
      </p>
    </div>
    <UiForm class="form" label="Log in" :model="given" :rules="RULES" @submit="logIn">
      <h2>Log in</h2>
      <UiText v-model="given.email" label="E-mail" prop="email" type="email" autocomplete="username" />
      <UiText
        v-model="given.password"
        label="Password"
        prop="password"
        type="password"
        autocomplete="current-password"
      />
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">Log in</UiButton>
    </UiForm>
  </main>
</template>

<style scoped>
.login {
  min-height: 100vh;
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.words {
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 14px;
  padding: 32px clamp(24px, 6vw, 88px);
}
.words p {
  max-width: 40ch;
  font-size: var(--type-lead);
  color: var(--text-2);
}
.words .caution {
  font-size: var(--type-note);
  color: var(--text-3);
  border-top: 1px solid var(--line);
  padding-top: 14px;
  margin-top: 10px;
}
.rose {
  width: 132px;
  margin-bottom: 10px;
}
.words h1 {
  font-size: var(--type-figure);
}
.form {
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 18px;
  padding: 32px clamp(24px, 6vw, 88px);
  background: var(--card);
  border-left: 1px solid var(--line);
}
.form > :deep(*) {
  width: 100%;
  max-width: 380px;
}
.form h2 {
  font-size: var(--type-head);
}
@media (--phone) {
  .login {
    grid-template-columns: 1fr;
  }
  .words {
    padding-bottom: 12px;
  }
  .rose {
    width: 84px;
  }
  .form {
    border-left: 0;
    border-top: 1px solid var(--line);
    justify-content: start;
  }
}
</style>
