/** The demo commission: a small island ferry refitted. */
package org.vatwright.files.demo;
