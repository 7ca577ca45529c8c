/** What every structure that is a fabric can do: fits the tile, closes, turns, masks by threads on top. */
package org.vatwright.core.woven;
