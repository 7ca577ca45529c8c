package org.vatwright.core.effect;

/** The order in which effects are done, whatever the order in which they were put on. */
enum EffectOrder {
    BREAK_UP, BLUR, OUTLINE, RELIEF, TOOTH, CAST_SHADOW, HALO
}
