/** Blocks: bricks, boards, tiles and lozenges laid by a rule, with joints between them. */
package org.vatwright.core.family.block;
