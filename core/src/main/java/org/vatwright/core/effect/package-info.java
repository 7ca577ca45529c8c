/**
 * What is done to the marks of a layer on the torus, before it is laid on those below: effects. Each is a record with
 * lengths in mm; {@link org.vatwright.core.effect.EffectOrder} says in which order they are done.
 */
package org.vatwright.core.effect;
