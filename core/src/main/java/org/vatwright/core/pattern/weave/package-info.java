/** Woven cloth from its draft. */
package org.vatwright.core.pattern.weave;
