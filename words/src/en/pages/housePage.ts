export const housePage = {
  asSetAtTheStart: '· as set at the start',
  whomToCall: 'Whom to call',
  emergencyLine: 'Emergency line',
  poisonLine: 'Poison line',
  saveTheNumbers: 'Save the numbers',
  saved: 'Saved.',
  theHouseRules: 'the house rules',
  whichSchoolDoWeFollow: 'Which school do we follow where practice differs?',
  lookingThroughTheApprovedProtocols: 'Looking through the approved protocols …',
  noApprovedProtocolChangesBy: 'No approved protocol changes by this.',
  approvedWouldHaveToBe:
    '{flagged, plural, one {# approved surface} other {# approved surfaces}} would have to be reviewed.',
  houseRules: 'House rules',
  whatAChangeDoes: 'What a change does',
  eachChoiceSaysWhatIt:
    'Each choice says what it trades. The first of each is the cautious one, by the evidence. Protocols stay as they were approved: what a change makes untrue is flagged, and revised by a person.',
  approvedProtocolsStayAsThey: 'Approved protocols stay as they are until somebody revises them.',
  saveThe: '{count, plural, one {Save the change} other {Save the # changes}}',
  leaveItAsItWas: 'Leave it as it was',
  minApproved: '{why}: {now} min, approved {approved}',
} as const;
