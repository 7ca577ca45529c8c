/**
 * Layers as they are laid: a coat is one layer with its effects, as colour and coverage on the torus; a stack lays several
 * over each other, each where it shows. Painters are safe to use from several threads.
 */
package org.vatwright.core.coat;
