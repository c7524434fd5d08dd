package org.leanlintel.server.api;

import org.leanlintel.server.store.Journal;
import org.springframework.stereotype.Component;

/** Who is asking. Until accounts come there is one person, the local drafter; every request already has a person. */
@Component
public class People {

    private final Journal journal;
    private volatile long local;

    People(Journal journal) {
        this.journal = journal;
    }

    public long current() {
        if (local == 0) local = journal.localDrafter();
        return local;
    }
}
