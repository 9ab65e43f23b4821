import { ElInput } from "element-plus";
import { mount, type VueWrapper } from "@vue/test-utils";
import { showDuration, showVolume } from "@kettlos/core/units/show";
import { describe, expect, test, vi } from "vitest";
import { defineComponent, h, nextTick, ref } from "vue";
import FieldForm from "./FieldForm.vue";
import QuantityField from "./QuantityField.vue";

/** Two fields kept by one button: so much, and, where it is shown, how long. */
function form() {
  const keep = vi.fn();
  const litres = ref<number | null>(null);
  const min = ref<number | null>(null);
  const hasTime = ref(false);
  const wrapper = mount(
    defineComponent(
      () => () =>
        h(FieldForm, { onKeep: keep }, () => [
          h(QuantityField, {
            label: "Poured in",
            dimension: "volume",
            bareUnit: "L",
            show: (v: number) => showVolume(v, "metric"),
            min: 0.1,
            max: 20,
            needed: true,
            modelValue: litres.value,
            "onUpdate:modelValue": (v: number | null) => (litres.value = v),
          }),
          hasTime.value
            ? h(QuantityField, {
                label: "It lasted",
                dimension: "time",
                bareUnit: "min",
                show: showDuration,
                needed: true,
                modelValue: min.value,
                "onUpdate:modelValue": (v: number | null) => (min.value = v),
              })
            : null,
        ]),
    ),
    { global: { components: { ElInput } } },
  );
  return { wrapper, keep, litres, hasTime };
}
async function type(wrapper: VueWrapper, text: string) {
  await wrapper.get("input").setValue(text);
}
const alerts = (wrapper: VueWrapper) => wrapper.findAll("[role=alert]").map((a) => a.text());

describe("fields that are kept together", () => {
  test("an empty one that is needed is named, and nothing is kept", async () => {
    const { wrapper, keep } = form();
    await wrapper.trigger("submit");
    expect(keep).not.toHaveBeenCalled();
    expect(alerts(wrapper)).toEqual(["Not kept yet: “Poured in” is empty."]);
    await type(wrapper, "2 L");
    expect(alerts(wrapper)).toEqual([]);
    await wrapper.trigger("submit");
    expect(keep).toHaveBeenCalledTimes(1);
  });

  test("what was there before is not kept while the field says something else", async () => {
    const { wrapper, keep, litres } = form();
    await type(wrapper, "2 L");
    expect(litres.value).toBe(2);
    for (const typed of ["plenty", "60 L", "1,500 L", "16 oz"]) {
      await type(wrapper, typed);
      await wrapper.trigger("submit");
      expect(alerts(wrapper).at(-1), typed).toBe("Not kept yet: “Poured in” is not clear.");
      expect(wrapper.get("input").element.value).toBe(typed);
    }
    expect(keep).not.toHaveBeenCalled();
    // An answer settles it.
    await wrapper.get("button").trigger("click");
    await wrapper.trigger("submit");
    expect(keep).toHaveBeenCalledTimes(1);
  });

  test("a field that is gone hinders nothing", async () => {
    const { wrapper, keep, litres, hasTime } = form();
    litres.value = 2;
    hasTime.value = true;
    await nextTick();
    await wrapper.trigger("submit");
    expect(alerts(wrapper)).toEqual(["Not kept yet: “It lasted” is empty."]);
    hasTime.value = false;
    await nextTick();
    expect(alerts(wrapper)).toEqual([]);
    await wrapper.trigger("submit");
    expect(keep).toHaveBeenCalledTimes(1);
  });
});

describe("what is hardly possible", () => {
  function odd() {
    const keep = vi.fn();
    const litres = ref<number | null>(null);
    const wrapper = mount(
      defineComponent(
        () => () =>
          h(
            FieldForm,
            {
              onKeep: keep,
              doubt: () => ((litres.value ?? 0) > 10 ? `${litres.value} L: is it so?` : null),
            },
            {
              default: ({ keep: keepIt }: { keep: () => void }) =>
                h(QuantityField, {
                  label: "Poured in",
                  dimension: "volume",
                  bareUnit: "L",
                  show: (v: number) => showVolume(v, "metric"),
                  modelValue: litres.value,
                  "onUpdate:modelValue": (v: number | null) => (litres.value = v),
                  needed: true,
                  onEntered: keepIt,
                }),
            },
          ),
      ),
      { global: { components: { ElInput } } },
    );
    const enter = async (text: string) => {
      await type(wrapper, text);
      await wrapper.get("input").trigger("keydown", { key: "Enter" });
      await nextTick();
    };
    const button = (name: RegExp) => wrapper.findAll("button").find((b) => name.test(b.text()));
    return { wrapper, keep, enter, button };
  }

  test("is asked about by Enter and by the button alike, and kept only when it is so", async () => {
    const { wrapper, keep, enter, button } = odd();
    await enter("20 L");
    expect(keep).not.toHaveBeenCalled();
    expect(wrapper.text()).toContain("20 L: is it so?");
    await button(/correct/)?.trigger("click");
    expect(wrapper.text()).not.toContain("is it so?");
    // Pressed again it is asked again: only the yes keeps it.
    await wrapper.trigger("submit");
    await wrapper.get("input").trigger("keydown", { key: "Enter" });
    await nextTick();
    expect(keep).not.toHaveBeenCalled();
    await button(/Yes/)?.trigger("click");
    expect(keep).toHaveBeenCalledTimes(1);
  });

  test("is not asked any more as soon as something else is typed", async () => {
    const { wrapper, keep, enter } = odd();
    await enter("20 L");
    await type(wrapper, "2");
    expect(wrapper.text()).not.toContain("is it so?");
    expect(keep).not.toHaveBeenCalled();
  });

  test("corrected, nothing is asked any more", async () => {
    const { wrapper, keep, enter } = odd();
    await enter("20 L");
    await enter("2 L");
    expect(wrapper.text()).not.toContain("is it so?");
    expect(keep).toHaveBeenCalledTimes(1);
  });
});
