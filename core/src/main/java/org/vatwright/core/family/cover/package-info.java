/** One ink over everything: a tint, a gradient, a picture, another design. */
package org.vatwright.core.family.cover;
