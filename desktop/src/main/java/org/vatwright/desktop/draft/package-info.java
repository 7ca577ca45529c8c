/** The draft grid: threading, tie-up, treadling and drawdown as squares to click. */
package org.vatwright.desktop.draft;
