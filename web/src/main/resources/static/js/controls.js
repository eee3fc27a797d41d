// The zone of this browser, so that times are shown as the reader's clock shows them.
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
if (zone) document.cookie = `fermix-zone=${encodeURIComponent(zone)}; path=/; max-age=31536000; samesite=lax`;

// Behaviour that lives and dies in the browser: a slider and its typed value are one control.
document.addEventListener('alpine:init', () => {
  window.Alpine.data('pair', () => ({
    preset() {
      this.$refs.typed.value = this.$el.dataset.value;
      if (this.$el.dataset.slid) this.$refs.slid.value = this.$el.dataset.slid;
      this.$refs.typed.dispatchEvent(new Event('input', { bubbles: true }));
    },
    slide() {
      this.$refs.typed.value = this.$refs.slid.value.replace('-', '\u2212');
      this.$refs.typed.dispatchEvent(new Event('input', { bubbles: true }));
    },
    type() {
      if (this.$refs.typed.value.trim() === '') return;
      const value = Number(this.$refs.typed.value.replace(',', '.').replace('\u2212', '-'));
      if (Number.isFinite(value)) this.$refs.slid.value = value;
    },
  }));
});
