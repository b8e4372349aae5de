<script lang="ts">
  import type { Venue } from '../api/client';
  import Field from '../shared/Field.svelte';
  import type { Attempt } from '../state/attempt.svelte';

  type Props = { venue: Venue; credentials: Record<string, string>; attempt: Attempt };
  let { venue, credentials = $bindable(), attempt }: Props = $props();

  /** What anybody may see; all else is typed like a password. */
  const open = ['key', 'login', 'server', 'account'];
</script>

{#each venue.credentials as field (field.field)}
  <Field label={field.label} errors={attempt.error?.fields[`credentials.${field.field}`] ?? []}>
    <input
      class="input figure w-full"
      type={open.includes(field.field) ? 'text' : 'password'}
      bind:value={credentials[field.field]}
      required
      autocomplete="off"
      spellcheck="false"
    />
  </Field>
{/each}
