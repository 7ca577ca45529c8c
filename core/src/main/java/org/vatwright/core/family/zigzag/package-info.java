/** Zigzags: lines that go up and down by a period, several one below the other. */
package org.vatwright.core.family.zigzag;
