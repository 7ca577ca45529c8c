/** Stripes: bands at any angle that closes on the tile. */
package org.vatwright.core.family.stripe;
