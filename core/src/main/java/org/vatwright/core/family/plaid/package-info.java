/** Plaids: warp and weft bands of any sett, woven or blended. */
package org.vatwright.core.family.plaid;
