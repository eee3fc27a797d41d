package org.fermix.web.check;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import org.springframework.data.repository.Repository;

interface JobReadingRepository extends Repository<JobReading, JobReading.Key> {
  @CanIgnoreReturnValue
  JobReading save(JobReading reading);
}
