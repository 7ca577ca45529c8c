/** Dress: articles, their pieces and lays, on the cloth and as numbers. */
package org.vatwright.desktop.dress;
