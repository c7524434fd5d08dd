package org.leanlintel.core.model;

/** What became of an edit. */
public sealed interface Outcome permits Change, Refusal {}
