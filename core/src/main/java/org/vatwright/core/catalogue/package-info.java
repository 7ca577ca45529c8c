/** Lists the families of structures, in one place. */
package org.vatwright.core.catalogue;
