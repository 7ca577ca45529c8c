/** Several layers as one: a structure whose marks are other layers. Lengths are mm; all values are immutable. */
package org.vatwright.core.family.together;
