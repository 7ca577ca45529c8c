/** Woven cloth from its draft. */
package org.vatwright.core.family.weave;
