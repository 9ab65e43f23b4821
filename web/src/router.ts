import { createRouter, createWebHistory } from "vue-router";
import { bringChecks } from "./data/checks";
import { pause } from "./data/pause";
import { askForFittings } from "./frame/fittings";
import BenchPlace from "./places/bench/BenchPlace.vue";

/** What a screen is built of is asked for with it; it is drawn in another task than its code is worked through. */
const fitted =
  <T>(place: () => Promise<T>) =>
  async () => {
    askForFittings();
    await pause();
    const there = await place();
    await pause();
    return there;
  };

/** A screen that checks by itself what is entered: what that takes comes before it, part after part. */
const checking =
  <T>(place: () => Promise<T>) =>
  async () => {
    await bringChecks();
    return fitted(place)();
  };

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: "/", redirect: "/bench" },
    { path: "/bench", name: "bench", component: BenchPlace },
    {
      path: "/plan/:planId?",
      name: "plan",
      component: fitted(() => import("./places/plan/PlanPlace.vue")),
    },
    {
      path: "/new",
      name: "start",
      component: fitted(() => import("./places/start/StartPlace.vue")),
    },
    {
      path: "/read",
      name: "read",
      component: checking(() => import("./places/read/ReadPlace.vue")),
    },
    {
      path: "/shopping",
      name: "shopping",
      component: fitted(() => import("./places/shopping/ShoppingPlace.vue")),
    },
    {
      path: "/crossover/:planId?",
      name: "crossover",
      component: fitted(() => import("./places/crossover/CrossoverPlace.vue")),
    },
    {
      path: "/convert",
      name: "convert",
      component: checking(() => import("./places/convert/ConvertPlace.vue")),
    },
    {
      path: "/words",
      name: "words",
      component: fitted(() => import("./places/words/WordsPlace.vue")),
    },
    {
      path: "/clock",
      name: "clock",
      component: fitted(() => import("./places/clock/ClockPlace.vue")),
    },
    {
      path: "/cook/:batchId?",
      name: "cook",
      component: fitted(() => import("./places/cook/CookPlace.vue")),
    },
    {
      path: "/strain/:batchId?",
      name: "strain",
      component: fitted(() => import("./places/strain/StrainPlace.vue")),
    },
    {
      path: "/chill/:batchId",
      name: "chill",
      component: fitted(() => import("./places/chill/ChillPlace.vue")),
    },
    {
      path: "/portion/:batchId",
      name: "portion",
      component: fitted(() => import("./places/portion/PortionPlace.vue")),
    },
    {
      path: "/larder/:held?",
      name: "larder",
      component: fitted(() => import("./places/larder/LarderPlace.vue")),
    },
    {
      path: "/labels",
      name: "labels",
      component: fitted(() => import("./places/labels/LabelsPlace.vue")),
    },
    {
      path: "/logbook/:batchId?",
      name: "logbook",
      component: fitted(() => import("./places/logbook/LogbookPlace.vue")),
    },
    {
      path: "/beside/:oneId/:otherId",
      name: "beside",
      component: fitted(() => import("./places/logbook/BesidePlace.vue")),
    },
    {
      path: "/dish/:name",
      name: "dish",
      component: fitted(() => import("./places/logbook/DishPlace.vue")),
    },
    {
      path: "/trends",
      name: "trends",
      component: fitted(() => import("./places/trends/TrendsPlace.vue")),
    },
    {
      path: "/taught",
      name: "taught",
      component: fitted(() => import("./places/taught/TaughtPlace.vue")),
    },
    {
      path: "/kitchen",
      name: "kitchen",
      component: checking(() => import("./places/kitchen/KitchenPlace.vue")),
    },
    {
      path: "/lessons",
      name: "lessons",
      component: checking(() => import("./places/lessons/LessonsPlace.vue")),
    },
    {
      path: "/given",
      name: "given",
      component: checking(() => import("./places/given/GivenPlace.vue")),
    },
    { path: "/:rest(.*)*", redirect: "/bench" },
  ],
});
