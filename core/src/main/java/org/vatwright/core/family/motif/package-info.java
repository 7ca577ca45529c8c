/** Motifs placed by hand, in rows, on rings, along lines or scattered, on any of the 17 wallpaper groups. */
package org.vatwright.core.family.motif;
