/** Drafts: threading, tie-up, treadling and what they weave; named weaves; floats. */
package org.vatwright.core.draft;
