/**
 * Articles and how they are dressed. Lengths in mm from the article's upper left corner, y down; a design point is
 * R(-grain)(p - start)/scale.
 */
package org.vatwright.core.dress;
