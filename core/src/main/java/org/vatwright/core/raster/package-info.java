/**
 * Pixel buffers and the kernels that loop over them: laying a tile endlessly, blending, rows shared out among threads.
 * Pixels are sRGB, premultiplied ARGB; every kernel gives the same bits on one thread and on many.
 */
package org.vatwright.core.raster;
