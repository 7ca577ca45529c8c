/**
 * Drapes: how flat cloth is bent on a piece, in mm of the article, and the map from the picture back to the cloth that follows.
 */
package org.vatwright.core.drape;
