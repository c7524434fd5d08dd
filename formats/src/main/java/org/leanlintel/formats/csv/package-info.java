/** Tables as comma-separated values (RFC 4180), for spreadsheets. Takes what a schedule shows; gives UTF-8 text. */
@NullMarked
package org.leanlintel.formats.csv;

import org.jspecify.annotations.NullMarked;
