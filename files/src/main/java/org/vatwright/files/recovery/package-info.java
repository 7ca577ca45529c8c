/**
 * What is worked on, kept beside the project without a save: a folder of the user's for each open project, holding the
 * document as it became with the last edit and the pixels of pictures that stand in no file yet. Safe to use from several
 * programs at once; each folder belongs to whoever holds its lock.
 */
package org.vatwright.files.recovery;
