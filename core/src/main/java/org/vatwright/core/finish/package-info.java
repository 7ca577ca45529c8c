/** What is drawn over cloth in light and dark: shading by hand, folds. */
package org.vatwright.core.finish;
